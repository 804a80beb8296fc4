import { Component, Suspense, type ReactNode } from 'react';
import { View } from 'react-native';

import { Button } from './button';
import { Fault } from './type';

interface Props {
  /** Where we are: elsewhere it is tried anew. */
  at: string;
  children: ReactNode;
}

interface State {
  at: string;
  failed: boolean;
}

/** Shows a screen, loading it when it is first opened; says so when that fails. */
export class Opening extends Component<Props, State> {
  state: State = { at: this.props.at, failed: false };

  static getDerivedStateFromError = (): Partial<State> => ({ failed: true });

  static getDerivedStateFromProps = ({ at }: Props, state: State): State | null =>
    at === state.at ? null : { at, failed: false };

  render() {
    if (!this.state.failed) return <Suspense fallback={null}>{this.props.children}</Suspense>;
    return (
      <View className="items-start gap-3 p-6">
        <Fault>
          This screen could not be opened. Perhaps Pen Pal is not running, or a newer one is by now.
          Nothing that was saved is lost.
        </Fault>
        {/* What could not be loaded once is not asked for again on the same page. */}
        <Button label="Load the page again" onPress={() => window.location.reload()} />
      </View>
    );
  }
}
