/**
 * Columns come as whole numbers of a scale's parts: one for every photo, or steps from photo to photo (a pair for a step and how often it
 * comes in a row), or as others added up. Each is read when it is first asked for: a drag brings new ones many times a second, and what
 * is in front needs a few of them.
 *
 * @param {{columns: object, photos: number, scale: number}} data
 * @returns {Object<string, number|Array<?number>>} by name, in the units that they are told in; null where a photo has none
 */
export function readColumns({ columns, photos, scale }) {
  const counted = {};
  const whole = (name) => (counted[name] ??= count(columns[name]));

  const count = (column) => {
    if (typeof column === 'number') return column;
    if (column.of) return summed(Object.entries(column.of).map(([other, times]) => [whole(other), times]), column.plus);
    const values = new Array(photos);
    let sum = 0;
    let photo = 0;
    for (const run of column.s) {
      const [step, times] = Array.isArray(run) ? run : [run, 1];
      for (let time = 0; time < times; time++) values[photo++] = step === null ? null : (sum += step);
    }
    return values;
  };

  const summed = (parts, plus) => {
    const values = new Array(photos).fill(plus);
    for (const [others, times] of parts) {
      for (let n = 0; n < photos; n++) {
        const other = Array.isArray(others) ? others[n] : others;
        values[n] = values[n] === null || other === null ? null : values[n] + times * other;
      }
    }
    return values;
  };

  const read = (name) => {
    const values = whole(name);
    return Array.isArray(values) ? values.map((value) => (value === null ? null : value / scale)) : values / scale;
  };

  const told = {};
  for (const name of Object.keys(columns)) {
    let values;
    Object.defineProperty(told, name, { enumerable: true, get: () => (values ??= read(name)) });
  }
  return told;
}
