// Choosing a fish on the barb chart shows only the pressures it gives and takes.
export const barbs = () => ({
  chosen: '',
  init() {
    // Whoever chose before the script was ready has chosen.
    this.chosen = this.$root.querySelector('select')?.value ?? '';
    this.$watch('chosen', () => this.show());
    this.show();
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
});
