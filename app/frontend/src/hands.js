// Keys: "/" finds, "?" shows the keys of the page, arrows walk through lists and tabs. Each is shown in the list that "?" opens, and
// the two that are letters can be turned off, since speech and some keyboards send letters that nobody meant.
const OFF = 'pelluna-keys-off';
const FOCUSABLE = 'a[href], button:not([disabled]), summary';
const finder = document.querySelector('[data-finder]');
const keys = document.querySelector('[data-keys-of-page]');
const typing = (target) => target.closest?.('input, textarea, select, [contenteditable]');
const shown = (list) => [...list].filter((one) => one.checkVisibility());

const step = (list, from, by) => list[list.indexOf(from) + by];

const walkRows = (from, by) => {
  const row = from.closest('li, tr, article');
  const rows = row
    ? [...row.parentElement.children].filter((one) => shown(one.querySelectorAll(FOCUSABLE)).length > 0)
    : [];
  const next = step(rows, row, by);
  const there = next ? shown(next.querySelectorAll(FOCUSABLE)) : [];
  return there[shown(row?.querySelectorAll(FOCUSABLE) ?? []).indexOf(from)] ?? there[0];
};

const next = (event) => {
  const from = event.target.closest?.(FOCUSABLE);
  const down = { ArrowDown: 1, ArrowUp: -1 }[event.key];
  const along = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
  if (from && along && from.closest('nav')) {
    return step(shown(from.closest('nav').querySelectorAll(FOCUSABLE)), from, along);
  }
  if (finder?.open && down) {
    const line = finder.querySelector('input[name="q"]');
    const hits = [line, ...finder.querySelectorAll('[data-hits] a')];
    return step(hits, from ?? line, down);
  }
  return from && down && !from.ownerSVGElement && !from.closest('nav') ? walkRows(from, down) : undefined;
};

const find = () => {
  if (!finder || finder.open) {
    return;
  }
  finder.showModal();
  const line = finder.querySelector('input[name="q"]');
  line.select();
  look(line);
};

let asked = 0;
const look = async (line) => {
  asked += 1;
  const mine = asked;
  const fields = new URLSearchParams(new FormData(line.form));
  fields.set('part', 'true');
  try {
    const answer = await fetch(`${line.form.action}?${fields}`);
    if (answer.ok && !answer.redirected && mine === asked) {
      finder.querySelector('[data-hits]').innerHTML = await answer.text();
    }
  } catch {
    finder.querySelector('[data-hits]').textContent = 'No connection. Searching needs one.';
  }
};

if (finder) {
  let waiting;
  finder.addEventListener('input', (event) => {
    clearTimeout(waiting);
    waiting = setTimeout(() => look(event.target), 120);
  });
  document.querySelector('[data-find]').addEventListener('click', (event) => {
    event.preventDefault();
    find();
  });
}

if (keys) {
  const rows = keys.querySelector('[data-key-rows]');
  for (const one of document.querySelectorAll('[data-keys]')) {
    for (const line of one.dataset.keys.split(';')) {
      const [names, words] = line.split(':').map((text) => text.trim());
      const row = rows.insertRow();
      const head = document.createElement('th');
      head.scope = 'row';
      head.append(
        ...names
          .split(' ')
          .map((name) => Object.assign(document.createElement('kbd'), { textContent: name, className: 'mr-1' })),
      );
      row.append(head);
      row.insertCell().textContent = words;
    }
  }
  const on = keys.querySelector('[data-keys-on]');
  on.checked = !localStorage.getItem(OFF);
  on.addEventListener('change', () => (on.checked ? localStorage.removeItem(OFF) : localStorage.setItem(OFF, 'yes')));
  const way = document.querySelector('[data-keys-way]');
  way.hidden = false;
  way.querySelector('button').addEventListener('click', () => keys.showModal());
}

for (const dialog of [finder, keys].filter(Boolean)) {
  // A press beside it closes it.
  dialog.addEventListener('click', (event) => event.target === dialog && dialog.close());
}

document.addEventListener('keydown', (event) => {
  if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey) {
    return;
  }
  const open = document.querySelector('dialog[open]');
  if (!typing(event.target) && !open && !localStorage.getItem(OFF) && (event.key === '/' || event.key === '?')) {
    event.preventDefault();
    if (event.key === '/') {
      find();
    } else {
      keys?.showModal();
    }
    return;
  }
  if (typing(event.target) && !event.target.closest('[data-finder]')) {
    return;
  }
  const there = next(event);
  if (there) {
    event.preventDefault();
    there.focus();
  }
});
