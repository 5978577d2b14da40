// Each picture of the page: how wide it is drawn, how wide what was sent for it is, and where it stands.
return [...document.images].flatMap((img) => {
  const box = img.getBoundingClientRect();
  const sent = /-(\d+)\.(?:webp|jpg)/.exec(img.currentSrc)?.[1];
  if (!box.width || sent === undefined) return [];
  const ratio = Number(img.getAttribute('width')) / Number(img.getAttribute('height'));
  const fit = getComputedStyle(img).objectFit;
  const drawn =
    fit === 'cover'
      ? Math.max(box.width, box.height * ratio)
      : fit === 'contain'
        ? Math.min(box.width, box.height * ratio)
        : box.width;
  return [
    {
      drawn,
      sent: Number(sent),
      at: img.closest('[class]')?.className ?? '',
      eager: img.loading !== 'lazy',
      src: img.currentSrc,
    },
  ];
});
