interface SelectFieldProps<Id extends string | number> {
  readonly name: string;
  readonly value: Id;
  readonly options: readonly (readonly [id: Id, name: string])[];
  readonly onChoose: (id: Id) => void;
}

/** One of a few named things, as a field with its name before it. */
export function SelectField<Id extends string | number>({
  name,
  value,
  options,
  onChoose,
}: SelectFieldProps<Id>) {
  return (
    <label>
      {name}
      <select
        value={value}
        onChange={({ target: { value: text } }) => {
          const chosen = options.find(([id]) => String(id) === text);
          if (chosen) onChoose(chosen[0]);
        }}
      >
        {options.map(([id, said]) => (
          <option key={id} value={id}>
            {said}
          </option>
        ))}
      </select>
    </label>
  );
}

/** The entries of a table of names as options. */
export const optionsOf = <Id extends string>(names: Readonly<Record<Id, string>>) =>
  Object.entries(names) as [Id, string][];
