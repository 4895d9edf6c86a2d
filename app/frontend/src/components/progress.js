// Long work shows how far it is, until it is done.
export const progress = () => ({
  init() {
    this.again();
  },
  again() {
    if (this.$refs.progress.firstElementChild?.dataset.running === 'true') {
      setTimeout(() => this.look(), 400);
    }
  },
  async look() {
    try {
      const answer = await fetch(`${location.pathname}?part=true`);
      if (answer.ok) {
        this.$refs.progress.innerHTML = await answer.text();
      }
    } catch {
      // No answer now; it is asked again.
    }
    this.again();
  },
});
