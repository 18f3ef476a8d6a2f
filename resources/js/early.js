/** Whether a field says another thing than its page did. */
const isChanged = (field) => (field.options
  ? field.selectedIndex !== Math.max(0, [...field.options].findIndex((option) => option.defaultSelected))
  : 'defaultValue' in field && field.type !== 'file' && field.value !== field.defaultValue);

/** Sends what was changed before anybody listened. */
export function sendEarly(send) {
  for (const form of document.querySelectorAll('[data-send-on-change]')) if ([...form.elements].some(isChanged)) send(form);
}
