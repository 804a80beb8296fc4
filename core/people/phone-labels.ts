// What the labels of phones tell of them (common practice, no source).
const OFFICE = /^(?:work|office|business|company|main)/i;
const CARRIED = /^(?:cell|mobile|handy|movil|portable)/i;
const NO_TEXTS = /^(?:fax|landline)/i;

/** Whether a phone rings at work, where others are reached by it as well. */
export const isOffice = (label: string): boolean => OFFICE.test(label);

/** Whether one person carries it. */
export const isCarried = (label: string): boolean => CARRIED.test(label);

/** Whether a text can be meant for its one owner. */
export const takesTexts = (label: string): boolean => !isOffice(label) && !NO_TEXTS.test(label);
