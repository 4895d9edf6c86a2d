// Picks a fish out of the story: what does not concern it fades. Without a script the button beside the list draws it alone.
export const story = () => ({
  pick() {
    const fish = this.$refs.fish.value;
    const fade = (one, concerned) => one.classList.toggle('faded', fish !== '' && !concerned);
    const along = new Set([fish]);
    for (const met of this.$root.querySelectorAll('.met')) {
      const concerned = met.dataset.by === fish || met.dataset.to === fish;
      fade(met, concerned);
      if (concerned) {
        along.add(met.dataset.by);
        along.add(met.dataset.to);
      }
    }
    for (const lane of this.$root.querySelectorAll('.life-lane')) {
      fade(lane, along.has(lane.dataset.fish));
    }
    for (const mark of this.$root.querySelectorAll('.story-mark')) {
      fade(mark, mark.dataset.fish === '' || mark.dataset.fish === fish);
    }
  },
});
