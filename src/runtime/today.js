// Marks the hours of today.
(() => {
  const today = String((new Date().getDay() + 6) % 7);
  for (const days of document.querySelectorAll('.address-hours > [data-days]'))
    if (days.dataset.days.split(' ').includes(today))
      for (const each of [days, days.nextElementSibling]) each.setAttribute('aria-current', 'date');
})();
