// A tank's shape decides which of its measures are asked for.
export const shape = () => ({
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
});
