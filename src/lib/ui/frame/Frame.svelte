<script lang="ts">
	import { afterNavigate, preloadCode } from '$app/navigation';
	import { page } from '$app/state';
	import { Button } from 'carbon-components-svelte';
	import Keyboard from 'carbon-icons-svelte/lib/Keyboard.svelte';
	import Redo from 'carbon-icons-svelte/lib/Redo.svelte';
	import Undo from 'carbon-icons-svelte/lib/Undo.svelte';
	import { onMount, type Snippet } from 'svelte';
	import { nextToRedo, nextToUndo } from '$lib/store/journal';
	import { live } from '$lib/store/live.svelte';
	import { otherTabs } from '$lib/store/tab';
	import { readyArchive } from '$lib/workers/archive';
	import { m } from '../messages';
	import Guarded from './Guarded.svelte';
	import StoreGate from './StoreGate.svelte';
	import { isTyping } from './keys';
	import { whenIdle } from './after-paint';
	import { keepApp } from './kept-app';
	import Notices from './Notices.svelte';
	import { notices } from './notices.svelte';
	import { redoLast, undoLast } from './perform';

	let { children }: { children: Snippet } = $props();

	const places = [
		['/', m.places.desk],
		['/clients', m.places.clients],
		['/references', m.places.references],
		['/recipes', m.places.recipes],
		['/fitting', m.places.fitting],
		['/plan', m.places.plan],
		['/orders', m.places.orders],
		['/ledger', m.places.ledger],
		['/eye', m.places.eye],
		['/studio', m.places.studio]
	] as const;
	const here = (href: string) =>
		href === '/' ? page.url.pathname === '/' : page.url.pathname.startsWith(href);

	/** Other tabs that are open, as they were when this one was last looked at. */
	let others = $state.raw<ReadonlySet<string>>(new Set());
	async function lookAround() {
		others = await otherTabs();
	}
	/** Once the first view has settled: what the other places need is fetched, so that they open with the server stopped too. */
	const settledMs = 4000;
	/** As long as each of them waits for an idle moment, at most. */
	const busyMs = 1000;
	/** Puts a newer version of the app in place of this one; undefined while there is none. */
	let takeOver = $state.raw<(() => void) | undefined>();
	onMount(() => {
		void lookAround();
		const later = setTimeout(async () => {
			const inside = [
				'/fitting/x',
				'/fitting/x/beside',
				'/fitting/x/lookbook',
				'/fitting/x/hunting',
				'/fitting/x/try-on',
				'/eye/drills',
				'/clients/x',
				'/references/x',
				'/recipes/x'
			];
			// One after another: what is pressed meanwhile waits for none but one of them.
			for (const href of [...places.map(([place]) => place), ...inside]) {
				await whenIdle(busyMs);
				await preloadCode(href).catch(() => undefined);
			}
			await readyArchive();
			await keepApp((newer) => (takeOver = newer)).catch(() => undefined);
		}, settledMs);
		return () => clearTimeout(later);
	});
	const toUndo = live(() => {
		const from = { others };
		return () => nextToUndo(from);
	});
	const toRedo = live(() => {
		const from = { others };
		return () => nextToRedo(from);
	});
	// A page that was gone to has the focus, so that the next Tab begins in it.
	afterNavigate(({ type, from, to }) => {
		// Where the places scroll, the one that is open is seen. The focus must not be moved by it, as `scrollIntoView` moves where it begins.
		const place = placesOf?.querySelector<HTMLElement>('[aria-current]');
		if (place)
			placesOf?.scrollTo({ left: place.offsetLeft - (placesOf.clientWidth - place.offsetWidth) / 2 });
		const work = document.getElementById('work');
		if (type === 'enter' || from?.url?.pathname === to?.url?.pathname) return;
		// A view that has taken it already keeps it.
		if (!work?.contains(document.activeElement)) work?.focus({ preventScroll: true });
	});
	let placesOf = $state<HTMLElement>();
	let keysOpen = $state(false);
	/** The sheet comes when it is first asked for, and stays. */
	let keysWanted = $state(false);
	function showKeys() {
		keysOpen = keysWanted = true;
	}

	function onkeydown(event: KeyboardEvent) {
		const { target } = event;
		// What is chosen from a field outside a form is written at once; the field has no undo of its own.
		const writesAtOnce = target instanceof HTMLSelectElement && !target.closest('[role="dialog"]');
		if (isTyping(target) && !writesAtOnce) return;
		if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z') {
			event.preventDefault();
			void (event.shiftKey ? redoLast() : undoLast());
		} else if (event.key === '?' && !event.ctrlKey && !writesAtOnce) showKeys();
	}
</script>

<svelte:window {onkeydown} onfocus={() => void lookAround()} />

<a class="skip" href="#work">{m.skip}</a>
<header class="no-print">
	<a class="mark" href="/">{m.app}</a>
	<nav aria-label={m.app} bind:this={placesOf}>
		{#each places as [href, label] (href)}
			<a {href} aria-current={here(href) ? 'page' : undefined}>{label}</a>
		{/each}
	</nav>
	<Notices />
	<div class="tools">
		<!-- It waits; what was just done, and its undo, does not. -->
		{#if takeOver && !notices.info}
			<Button kind="tertiary" size="small" title={m.newVersionText} on:click={takeOver}>{m.newVersion}</Button
			>
		{/if}
		<Button
			kind="ghost"
			size="small"
			icon={Undo}
			iconDescription={toUndo.value ? m.undoWhat(toUndo.value.label) : m.nothingToUndo}
			tooltipPosition="bottom"
			tooltipAlignment="end"
			disabled={!toUndo.value}
			on:click={undoLast}
		/>
		<Button
			kind="ghost"
			size="small"
			icon={Redo}
			iconDescription={toRedo.value ? m.redoWhat(toRedo.value.label) : m.nothingToRedo}
			tooltipPosition="bottom"
			tooltipAlignment="end"
			disabled={!toRedo.value}
			on:click={redoLast}
		/>
		<Button
			kind="ghost"
			size="small"
			icon={Keyboard}
			iconDescription={m.keys}
			tooltipPosition="bottom"
			tooltipAlignment="end"
			on:click={showKeys}
		/>
	</div>
</header>
<main id="work" tabindex="-1">
	<StoreGate>
		{#key page.url.pathname}<Guarded back>{@render children()}</Guarded>{/key}
	</StoreGate>
</main>
{#if keysWanted}
	{#await import('./KeySheet.svelte') then { default: KeySheet }}<KeySheet bind:open={keysOpen} />{/await}
{/if}

<style>
	header {
		position: relative;
		display: flex;
		align-items: center;
		gap: 1.25rem;
		height: 3rem;
		padding: 0 1.25rem;
		border-bottom: 1px solid var(--line);
		background: var(--panel);
	}
	.mark {
		font-family: var(--display);
		font-size: 1.25rem;
		font-weight: 480;
		letter-spacing: -0.015em;
		text-decoration: none;
		white-space: nowrap;
	}
	nav {
		position: relative;
		min-width: 0;
		display: flex;
		gap: 0.25rem;
		height: 100%;
		overflow-x: auto;
	}
	nav a {
		display: flex;
		align-items: center;
		padding: 0 0.75rem;
		font-size: var(--step-0);
		text-decoration: none;
		color: var(--ink-soft);
		box-shadow: inset 0 0 0 transparent;
		white-space: nowrap;
	}
	nav a:hover {
		color: var(--ink);
	}
	nav a[aria-current] {
		color: var(--ink);
		box-shadow: inset 0 -2px 0 var(--ink);
	}
	nav a:focus-visible {
		outline-offset: -3px;
	}
	.tools {
		display: flex;
		margin-left: auto;
		flex: none;
	}
	@media (max-width: 56rem) {
		nav {
			gap: 0;
		}
		nav a {
			padding: 0 0.5rem;
		}
	}
	@media (max-width: 40rem) {
		header {
			gap: 0.5rem;
			padding: 0 0.5rem;
		}
		.mark {
			font-size: 1rem;
		}
	}
	main {
		/* Whatever is wider than the page scrolls in its own place. */
		overflow-x: clip;
	}
	main:focus {
		outline: none;
	}
</style>
