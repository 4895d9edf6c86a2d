// What a machine can tell of a page's legibility: asked by Browsers.Watched. Each answers with the first few faults, in words.
window.legible = {
  shown(element) {
    const box = element.getBoundingClientRect();
    return box.width > 1 && box.height > 1 && getComputedStyle(element).visibility !== 'hidden' && element.checkVisibility();
  },
  name(element) {
    const within = element.closest('svg[class], form, table, nav, ul, main > *, section') ?? document.body;
    return `${within.tagName.toLowerCase()}.${within.getAttribute('class') ?? ''} ${element.tagName.toLowerCase()}.${element.getAttribute('class') ?? ''}`
      + ` "${element.textContent.trim().slice(0, 30) || element.getAttribute('name') || ''}"`;
  },
  few(faults) {
    return [...new Set(faults)].slice(0, 12);
  },
  smallText(least) {
    const faults = [];
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    while (walker.nextNode()) {
      const element = walker.currentNode.parentElement;
      if (!walker.currentNode.data.trim() || !this.shown(element) || ['SCRIPT', 'STYLE', 'OPTION', 'TITLE', 'DESC'].includes(element.tagName.toUpperCase())) {
        continue;
      }
      const matrix = element.ownerSVGElement ? element.getScreenCTM() : null;
      const scale = matrix ? Math.sqrt(Math.abs(matrix.a * matrix.d - matrix.b * matrix.c)) : 1;
      const size = parseFloat(getComputedStyle(element).fontSize) * scale;
      if (size < least - 0.05) {
        faults.push(`text of ${size.toFixed(1)} px: ${this.name(element)}`);
      }
    }
    return this.few(faults);
  },
  inSentence(element) {
    const around = element.parentElement;
    return getComputedStyle(element).display === 'inline' && around.textContent.trim().length > element.textContent.trim().length + 2
      && [...around.childNodes].some((one) => one !== element && one.nodeType === Node.TEXT_NODE && /[\p{L}\p{N}]/u.test(one.data));
  },
  // A mark of a drawing is small by its nature and has its line in words; a link within a sentence grows with its line only.
  targets() {
    const found = [];
    for (const element of document.querySelectorAll('a[href], button, input:not([type=hidden]), select, textarea, summary')) {
      const target = element.matches('[type=checkbox], [type=radio], [type=file]') ? element.labels[0] ?? element : element;
      if (this.shown(target) && !element.ownerSVGElement && !element.closest('[aria-hidden=true]') && !this.inSentence(element)) {
        const box = target.getBoundingClientRect();
        const pane = target.closest('.overflow-auto, .overflow-x-auto')?.getBoundingClientRect();
        found.push({ target, box, inSight: !pane || (box.bottom <= pane.bottom && box.right <= pane.right) });
      }
    }
    return found;
  },
  smallTargets(least) {
    const faults = [];
    const targets = this.targets();
    for (const { target, box } of targets) {
      if (box.height < least - 0.5 || box.width < least - 0.5) {
        faults.push(`target of ${box.width.toFixed(0)} × ${box.height.toFixed(0)} px: ${this.name(target)}`);
      }
    }
    // Grown over one another, they are not large but ambiguous.
    targets.forEach((one, at) => targets.slice(at + 1).forEach((other) => {
      const wide = Math.min(one.box.right, other.box.right) - Math.max(one.box.left, other.box.left);
      const high = Math.min(one.box.bottom, other.box.bottom) - Math.max(one.box.top, other.box.top);
      if (Math.min(wide, high) > 8 && one.inSight && other.inSight && !one.target.contains(other.target) && !other.target.contains(one.target)
        && !one.target.closest('nav.places') && !other.target.closest('nav.places')) {
        faults.push(`targets over one another by ${wide.toFixed(0)} × ${high.toFixed(0)} px: ${this.name(one.target)} and ${this.name(other.target)}`);
      }
    }));
    return this.few(faults);
  },
  form(element) {
    return `${element.tagName}.${element.getAttribute('class') ?? ''}(${[...element.children].map((one) => this.form(one)).join()})`;
  },
  // Of rows that are alike but for their letters and figures the first is as legible as all.
  oneOfEach() {
    for (const parent of document.querySelectorAll('main tbody, main ul, main ol, main section, main div')) {
      const seen = new Set();
      for (const row of parent.querySelectorAll(':scope > tr, :scope > li, :scope > article')) {
        const form = this.form(row);
        if (seen.has(form)) {
          row.style.display = 'none';
        }
        seen.add(form);
      }
    }
  },
};
