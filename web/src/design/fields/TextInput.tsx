import type { Ref } from 'react';
import { Input, TextArea as AriaTextArea, type InputProps, type TextAreaProps } from 'react-aria-components';

/** A line of text to be written in; it takes its look from where it stands. */
export const TextInput = (props: InputProps & { readonly ref?: Ref<HTMLInputElement> }) => (
  <Input {...props} />
);

/** Several lines of text to be written in. */
export const TextArea = (props: TextAreaProps & { readonly ref?: Ref<HTMLTextAreaElement> }) => (
  <AriaTextArea {...props} />
);
