<!-- Phones and tablets beside the book: how they reach the program, a code to pair one, and which were paired. -->
<script lang="ts">
  import { onDestroy } from 'svelte';
  import { api, type Devices } from '../api/client';
  import { asProblem } from '../state/book.svelte';

  let devices = $state.raw<Devices | null>(null);
  let code = $state('');
  let left = $state(0);
  let picture = $state('');
  let wrong = $state('');
  let timer: ReturnType<typeof setInterval> | undefined;

  async function doing(work: () => Promise<void>) {
    wrong = '';
    try {
      await work();
    } catch (error) {
      wrong = asProblem(error).detail;
    }
  }
  doing(async () => void (devices = await api.devices()));
  onDestroy(() => clearInterval(timer));

  const address = $derived(devices?.addresses[0] ?? '');

  const pair = () =>
    doing(async () => {
      const got = await api.pairingCode();
      const qr = await import('qrcode');
      picture = await qr.toDataURL(`${address}/pair`, { margin: 2, width: 200, color: { dark: '#22304a', light: '#fffefa' } });
      code = `${got.code.slice(0, 3)} ${got.code.slice(3)}`;
      left = got.seconds;
      clearInterval(timer);
      const before = devices?.devices.length ?? 0;
      timer = setInterval(async () => {
        left -= 1;
        // A device that was paired meanwhile is shown, and the code is gone.
        if (left % 2 === 0) devices = await api.devices().catch(() => devices);
        if (left <= 0 || (devices?.devices.length ?? 0) > before) {
          clearInterval(timer);
          code = '';
        }
      }, 1000);
    });

  const remove = (id: string) => doing(async () => void (devices = await api.removeDevice(id)));
  const day = (iso: string) => new Date(iso).toLocaleDateString('en', { day: 'numeric', month: 'short', year: 'numeric' });
</script>

{#if devices?.here}
  <h2 class="mt-6">Phone or tablet</h2>
  {#if !devices.shared}
    <p class="my-2">
      Beside the open book a phone is enough. Start the program with <code>bin/demo --share</code>: it then answers devices that you pair
      here, and no others.
    </p>
  {:else}
    <p class="my-2">Open <strong class="wrap-anywhere">{address}</strong> on the device, in the same network, and type a code.</p>
    {#if code}
      <div class="code" role="status">
        <img src={picture} width="150" height="150" alt="The address {address}/pair as a square to be photographed" />
        <p><span class="letters">{code}</span><br />one device, {Math.floor(left / 60)}:{String(left % 60).padStart(2, '0')} more</p>
      </div>
    {:else}
      <button class="btn w-full" onclick={pair}>Take a code</button>
    {/if}
    {#if devices.devices.length > 0}
      <ul class="mt-3" aria-label="Paired devices">
        {#each devices.devices as one (one.id)}
          <li class="paired">
            <span class="wrap-anywhere" dir="auto">{one.name}</span>
            <span class="quiet">last seen {day(one.seen)}</span>
            <button class="btn small plain" onclick={() => remove(one.id)}>Take away<span class="sr-only"> {one.name}</span></button>
          </li>
        {/each}
      </ul>
    {/if}
    {#if !devices.addresses.every((one) => one.startsWith('https'))}<p class="quiet mt-2">
        The local network is not encrypted: who listens in it can read along. docs/hosting.md tells how to encrypt it; a device then keeps
        the program without the network too.
      </p>{/if}
  {/if}
  {#if wrong}<div class="note stop" role="alert">{wrong}</div>{/if}
{/if}

<style>
  .code {
    display: flex;
    flex-wrap: wrap;
    gap: 0.8rem;
    align-items: center;
  }
  .letters {
    font-size: 1.7rem;
    font-weight: 700;
    letter-spacing: 0.14em;
  }
  .paired {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0 0.7rem;
    border-top: 1px solid var(--color-base-300);
  }
  .paired button {
    margin-left: auto;
  }
</style>
