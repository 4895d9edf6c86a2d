import { refill } from './refilled.js';
import { readable } from './time-field.js';

// A form is sent once, however often its button is pressed; coming back to the page makes it ready again.
document.addEventListener('submit', (event) => {
  if (event.target.dataset.sent === 'yes') {
    event.preventDefault();
    return;
  }
  event.target.dataset.sent = 'yes';
});
window.addEventListener('pageshow', () => {
  for (const form of document.querySelectorAll('form[data-sent]')) {
    delete form.dataset.sent;
  }
});

// One of the drop-downs at the head is open at a time; a click elsewhere, or Escape, closes it.
const drops = [...document.querySelectorAll('details.drop')];
document.addEventListener('click', (event) => {
  for (const drop of drops) {
    drop.open = drop.open && drop.contains(event.target);
  }
});
document.addEventListener('keydown', (event) => {
  const open = drops.find((one) => one.open);
  if (event.key === 'Escape' && open) {
    open.open = false;
    open.querySelector('summary').focus();
  }
});

// A link to something folded opens it.
const meant = location.hash && document.getElementById(location.hash.slice(1));
if (meant instanceof HTMLDetailsElement) {
  meant.open = true;
  meant.scrollIntoView();
}

// A chart wider than the screen begins at today.
for (const today of document.querySelectorAll('.overflow-x-auto .today')) {
  const frame = today.closest('.overflow-x-auto');
  const ahead = today.getBoundingClientRect().left - frame.getBoundingClientRect().left;
  if (ahead > frame.clientWidth / 2) {
    frame.scrollLeft = ahead - 60;
  }
}

// A form that was sent back may lie far down its page; begin at what is wrong with it.
const wrong =
  document.querySelector('main [aria-invalid="true"]') ?? document.querySelector('main form [role="alert"]');
wrong?.scrollIntoView({ block: 'center' });
wrong?.focus();

for (const button of document.querySelectorAll('[data-print]')) {
  button.addEventListener('click', () => window.print());
}

refill(document);
readable(document);
