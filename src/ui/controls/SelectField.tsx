interface SelectFieldProps<Value extends string | number> {
  readonly label: string;
  readonly value: Value;
  readonly options: readonly (readonly [Value, string])[];
  readonly onChange: (value: Value) => void;
}

/** A labelled list to choose one from. */
export function SelectField<Value extends string | number>(props: SelectFieldProps<Value>) {
  const { label, value, options, onChange } = props;
  return (
    <label>
      <span className="field-label">{label}</span>
      <select
        className="field"
        value={value}
        onChange={({ target }) => {
          const chosen = options[target.selectedIndex];
          if (chosen) onChange(chosen[0]);
        }}
      >
        {options.map(([option, name]) => (
          <option key={option} value={option}>
            {name}
          </option>
        ))}
      </select>
    </label>
  );
}
