// Any drawing can be saved as an SVG file of its own, in millimetres, looking as it does here.
(() => {
  const KEPT = ['fill', 'fill-opacity', 'stroke', 'stroke-width', 'stroke-dasharray', 'stroke-linecap', 'stroke-linejoin', 'opacity', 'paint-order',
    'font-family', 'font-size', 'font-weight', 'text-anchor', 'dominant-baseline'];

  const inlined = async (answer) => {
    const picture = await answer.blob();
    return new Promise((done, failed) => {
      const reader = new FileReader();
      reader.onload = () => done(reader.result);
      reader.onerror = failed;
      reader.readAsDataURL(picture);
    });
  };

  // A file of its own has its pictures in it; of one that is not kept any more its colour, which lies beneath.
  const bringPictures = (copy) => Promise.all([...copy.querySelectorAll('image')].map(async (image) => {
    const answer = await fetch(image.getAttribute('href'));
    if (answer.ok) image.setAttribute('href', await inlined(answer));
    else image.remove();
  }));

  const saved = async (drawing) => {
    const copy = drawing.cloneNode(true);
    const shown = [drawing, ...drawing.querySelectorAll('*')];
    [copy, ...copy.querySelectorAll('*')].forEach((element, index) => {
      const style = getComputedStyle(shown[index]);
      KEPT.forEach((property) => element.setAttribute(property, style.getPropertyValue(property)));
      element.removeAttribute('class');
    });
    // Lines are as broad on the screen whatever the scale; in the file they are as broad as they look on paper.
    const scale = drawing.viewBox.baseVal.width / drawing.getBoundingClientRect().width;
    copy.querySelectorAll('[stroke-width]').forEach((element) => {
      if (element.closest('text')) return;
      element.setAttribute('stroke-width', parseFloat(element.getAttribute('stroke-width')) * scale);
      const dashes = element.getAttribute('stroke-dasharray');
      if (dashes && dashes !== 'none') element.setAttribute('stroke-dasharray', dashes.split(',').map((dash) => parseFloat(dash) * scale).join(' '));
    });
    await bringPictures(copy);
    copy.setAttribute('width', `${drawing.viewBox.baseVal.width}mm`);
    copy.setAttribute('height', `${drawing.viewBox.baseVal.height}mm`);
    return new XMLSerializer().serializeToString(copy);
  };

  const save = async (drawing) => {
    const link = document.createElement('a');
    link.href = URL.createObjectURL(new Blob([await saved(drawing)], { type: 'image/svg+xml' }));
    link.download = `${(drawing.getAttribute('aria-label') || 'drawing').replace(/[^\p{L}\p{N} -]/gu, '').slice(0, 60).trim()}.svg`;
    link.click();
    setTimeout(() => URL.revokeObjectURL(link.href), 1000);
  };

  const offer = (root) => root.querySelectorAll('svg.drawing[role="img"]').forEach((drawing) => {
    const frame = drawing.parentElement;
    if (frame.closest('a, button, label') || frame.querySelector('.save-drawing')) return;
    const button = document.createElement('button');
    button.type = 'button';
    button.className = 'save-drawing';
    button.textContent = 'SVG';
    button.setAttribute('aria-label', `Save this drawing as SVG: ${drawing.getAttribute('aria-label')}`);
    button.addEventListener('click', () => save(drawing));
    frame.classList.add('can-be-saved');
    frame.append(button);
  });

  document.addEventListener('DOMContentLoaded', () => offer(document));
  document.addEventListener('htmx:load', () => offer(document));
})();
