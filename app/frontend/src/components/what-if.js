// What if: every change of the form asks the server anew and shows the answer in place; the last question wins.
export const whatIf = () => ({
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
});
