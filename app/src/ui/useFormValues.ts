import { useWatch, type Control, type FieldValues } from 'react-hook-form';

/** Everything that stands in a form, live. The form opens with all of its fields, so none is missing. */
export const useFormValues = <Values extends FieldValues>(control: Control<Values>): Values =>
  useWatch({ control }) as Values;
