// Puts a page from elsewhere into its frame once it is asked for. Without this a link leads to it.
document.addEventListener('click', (event) => {
  const ask = event.target.closest?.('[data-embed]');
  if (!ask || event.ctrlKey || event.metaKey || event.shiftKey) return;
  event.preventDefault();
  const frame = document.createElement('iframe');
  frame.className = 'embed-frame';
  frame.title = ask.firstElementChild.textContent;
  frame.referrerPolicy = 'strict-origin-when-cross-origin';
  frame.src = ask.href;
  frame.tabIndex = -1;
  ask.replaceWith(frame);
  frame.focus();
});
