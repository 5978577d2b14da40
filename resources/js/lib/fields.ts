interface Form<T extends Record<string, string>> {
  data: T;
  errors: Partial<Record<keyof T, string>>;
  setData: (name: keyof T & string, value: string) => void;
}

/** Ties a field of a form to its name: what stands in it, what is wrong with it, and what happens when one writes. */
export function fieldsOf<T extends Record<string, string>>(form: Form<T>) {
  return (name: keyof T & string) => ({
    name,
    value: form.data[name],
    error: form.errors[name],
    onChange: (e: { target: { value: string } }) => form.setData(name, e.target.value),
  });
}
