// A form that was refused stands on its page again as it was filled in, opened, with what is wrong beside the field.

/** The entries of a refusal by the name of their field. */
export function entriesOf(refusal) {
  const entries = new Map();
  for (const one of refusal.querySelectorAll('data')) {
    entries.set(one.dataset.name, [...(entries.get(one.dataset.name) ?? []), one.value]);
  }
  return entries;
}

/** Fills one field in; a hidden one keeps what the page gave it, since that may be newer. */
export function fill(field, values) {
  if (!values || field.type === 'hidden' || field.type === 'file') {
    return;
  }
  if (field.type === 'checkbox' || field.type === 'radio') {
    field.checked = values.includes(field.value);
  } else {
    field.value = values[0];
  }
}

/** The form of a page that was refused: the one of that address with the same hidden entries, or the first of that address. */
export function refusedForm(forms, action, entries) {
  const same = [...forms].filter((form) => new URL(form.action).pathname === action);
  const hidden = (form) =>
    [...form.elements].filter(
      (field) => field.type === 'hidden' && field.name !== 'form' && entries.get(field.name)?.includes(field.value),
    ).length;
  return same.sort((one, other) => hidden(other) - hidden(one))[0];
}

/** Shows what was refused where it belongs. */
export function refill(page) {
  const refusal = page.querySelector('[data-refused]');
  if (!refusal) {
    return;
  }
  const entries = entriesOf(refusal);
  const form = refusedForm(page.querySelectorAll('form'), refusal.dataset.refused, entries);
  if (!form) {
    return;
  }
  for (const field of form.elements) {
    const values = entries.get(field.name);
    fill(field, values ?? (field.type === 'checkbox' ? [] : undefined));
  }
  for (let around = form.closest('details'); around; around = around.parentElement?.closest('details')) {
    around.open = true;
  }
  const field = [...form.elements].find((one) => refusal.dataset.field && one.name === refusal.dataset.field);
  const said = page.createElement('p');
  said.className = 'fault col-span-full';
  said.id = 'refused';
  said.textContent = refusal.querySelector('p').textContent;
  if (field) {
    field.setAttribute('aria-invalid', 'true');
    field.setAttribute('aria-describedby', 'refused');
    field.after(said);
  } else {
    form.prepend(said);
  }
  const first = field ?? [...form.elements].find((one) => one.type !== 'hidden');
  form.scrollIntoView({ block: 'center' });
  first?.focus();
}
