// What moves in the pages. Alpine's strict build takes no expressions of its own, so the logic is registered here.
document.addEventListener('alpine:init', () => {
  // Choosing a fish on the barb chart shows only the pressures it gives and takes.
  window.Alpine.data('barbs', () => ({
    chosen: '',
    init() {
      this.$watch('chosen', () => this.show());
    },
    show() {
      const chart = this.$root.querySelector('.barb-chart');
      if (!chart) {
        return;
      }
      chart.classList.toggle('chosen', this.chosen !== '');
      for (const arc of chart.querySelectorAll('.pressure')) {
        const ofChosen = arc.dataset.from === this.chosen || arc.dataset.to === this.chosen;
        arc.classList.toggle('of-chosen', ofChosen);
      }
      for (const row of this.$root.querySelectorAll('[data-pair]')) {
        row.hidden = this.chosen !== '' && !row.dataset.pair.split(' ').includes(this.chosen);
      }
    },
  }));

  // What if: every change of the form asks the server anew and shows the answer in place; the last question wins.
  window.Alpine.data('whatIf', () => ({
    asking: null,
    async ask() {
      const form = this.$root.querySelector('form');
      const query = new URLSearchParams(new FormData(form));
      this.asking?.abort();
      this.asking = new AbortController();
      try {
        const answer = await fetch(`${form.action.split('?')[0]}?${query}&part=true`, { signal: this.asking.signal });
        if (answer.ok) {
          this.$refs.result.innerHTML = await answer.text();
          history.replaceState(null, '', `?${query}`);
        }
      } catch {
        // A newer question took over, or the connection is gone: the button still asks the plain way.
      }
    },
  }));

  // The log form asks only for what the kind of entry needs.
  window.Alpine.data('logEntry', () => ({
    kind: 'CHASE',
    init() {
      this.kind = this.$root.dataset.kind;
    },
    get hasAggressor() {
      return ['DISPLAY', 'CHASE', 'NIP', 'PINNED'].includes(this.kind);
    },
    get mayHaveAggressor() {
      return this.hasAggressor || this.kind === 'INJURY';
    },
    get isNote() {
      return this.kind === 'NOTE';
    },
  }));

  // A tank's shape decides which of its measures are asked for.
  window.Alpine.data('shape', () => ({
    shape: 'BOX',
    init() {
      this.shape = this.$root.dataset.shape;
    },
    get hasWidth() {
      return this.shape !== 'CYLINDER';
    },
    get hasBow() {
      return this.shape === 'BOW_FRONT';
    },
  }));
});

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

// On a narrow screen the places scroll sideways; begin where we are.
document.querySelector('.places [aria-current]')?.scrollIntoView({ block: 'nearest', inline: 'center' });

// A form that was sent back may lie far down its page; begin at what is wrong with it.
const wrong = document.querySelector('main [aria-invalid="true"]') ?? document.querySelector('main form [role="alert"]');
wrong?.scrollIntoView({ block: 'center' });
wrong?.focus();
