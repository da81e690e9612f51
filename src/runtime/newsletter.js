// Sends the form of a newsletter and says what came of it where it stands. Without this it is a plain form, which the service answers.
(() => {
  /** The answers by the status of the service (RFC 9110, 15); any other status is as if none had come. */
  const byStatus = { 200: 'sent', 201: 'sent', 202: 'sent', 204: 'sent', 409: 'known', 422: 'wrong' };

  document.addEventListener('submit', async (event) => {
    const form = event.target;
    if (!('newsletter' in form.dataset)) return;
    event.preventDefault();
    const [said, button] = [form.querySelector('[role="status"]'), form.querySelector('button')];
    said.textContent = '';
    button.disabled = true;
    let answer = 'silent';
    try {
      const { status } = await fetch(form.action, {
        method: 'post',
        body: new URLSearchParams(new FormData(form)),
        signal: AbortSignal.timeout(10000),
      });
      answer = byStatus[status] ?? answer;
    } catch {
      // No answer came.
    }
    button.disabled = false;
    said.textContent = said.dataset[answer];
    if (answer === 'sent') form.reset();
    else form.querySelector('input').focus();
  });
})();
