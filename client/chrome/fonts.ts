import { FontDisplay, loadAsync } from 'expo-font';

/** Fetches the two type families; text is set in a system face until they are there. */
export function loadTypefaces(): void {
  const loading = loadAsync({
    Newsreader: font(require('@expo-google-fonts/newsreader/400Regular/Newsreader_400Regular.ttf')),
    NewsreaderItalic: font(
      require('@expo-google-fonts/newsreader/400Regular_Italic/Newsreader_400Regular_Italic.ttf'),
    ),
    Hanken: font(
      require('@expo-google-fonts/hanken-grotesk/400Regular/HankenGrotesk_400Regular.ttf'),
    ),
    HankenMedium: font(
      require('@expo-google-fonts/hanken-grotesk/500Medium/HankenGrotesk_500Medium.ttf'),
    ),
    HankenSemiBold: font(
      require('@expo-google-fonts/hanken-grotesk/600SemiBold/HankenGrotesk_600SemiBold.ttf'),
    ),
  });
  // Without them the page is as useful.
  loading.catch(() => {});
}

const font = (asset: number) => ({ uri: asset, display: FontDisplay.SWAP }) as never;
