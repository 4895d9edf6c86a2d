// Saves a drawing that stands by itself as a picture: it is drawn on a canvas, twice as fine as it is printed.
export const picture = () => ({
  busy: false,
  said: '',
  async png() {
    this.busy = true;
    this.said = 'Drawing …';
    try {
      const answer = await fetch(this.$refs.png.dataset.svg);
      if (!answer.ok) {
        throw new Error(String(answer.status));
      }
      const name = /filename="?([^";]+)\.svg/.exec(answer.headers.get('Content-Disposition') ?? '')?.[1] ?? 'plan';
      const image = new Image();
      image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(await answer.text())}`;
      await image.decode();
      const canvas = document.createElement('canvas');
      canvas.width = image.naturalWidth * 2;
      canvas.height = image.naturalHeight * 2;
      canvas.getContext('2d').drawImage(image, 0, 0, canvas.width, canvas.height);
      const link = document.createElement('a');
      link.href = canvas.toDataURL('image/png');
      link.download = `${name}.png`;
      link.click();
      this.said = `Saved as ${link.download}.`;
    } catch {
      this.said = 'We could not draw it here; download the SVG, or print it.';
    }
    this.busy = false;
  },
});
