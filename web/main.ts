import { mount } from 'svelte';
import App from './App.svelte';
import { watch } from './offline/watch.svelte';
import { keepFocus } from './state/focus';
import { keys } from './state/keys.svelte';
import { outbox } from './offline/outbox';
import './app.css';
import './faces.css';

mount(App, { target: document.getElementById('app')! });
watch.start();
keys.watch(document);
keepFocus();
void outbox.flush();
// The program itself is kept on the device where the browser allows that: on this machine, or over an encrypted way.
if ('serviceWorker' in navigator) {
  void navigator.serviceWorker
    .register('/build/sw.js', { scope: '/' })
    .then(() => navigator.serviceWorker.ready)
    .then((kept) => kept.active?.postMessage('look'))
    .catch(() => {});
}
