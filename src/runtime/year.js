// Keeps years right that follow the calendar; one that was handed over later than a visitor's clock has it stays.
(() => {
  const now = new Date().getFullYear();
  for (const year of document.querySelectorAll('.text-year'))
    if (now > year.textContent) year.textContent = now;
})();
