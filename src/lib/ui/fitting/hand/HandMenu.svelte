<script lang="ts">
	import { goto } from '$app/navigation';
	import { ContextMenu, ContextMenuOption } from 'carbon-components-svelte';
	import { tick } from 'svelte';
	import { m } from '../../messages';
	import type { HandDeed, TableHand, UnderHand } from './hand.svelte';

	interface Props {
		hand: TableHand;
		/** Where it is listened for: rungs, cards and plates lie in it. */
		room: HTMLElement | undefined;
	}
	let { hand, room }: Props = $props();

	/** Each opening has a menu of its own: one that is opened again where it was takes neither the focus nor its first line. */
	let opening = $state(0);
	let open = $state(false);
	let x = $state(0);
	let y = $state(0);
	let menu = $state<HTMLUListElement | null>(null);
	let deeds = $state.raw<HandDeed[]>([]);
	let cameFrom: HTMLElement | undefined;

	function underHand(target: Element): UnderHand | undefined {
		const near = target.closest<HTMLElement>('[data-card], [data-rung], [data-layer]');
		const { card, rung, layer } = near?.dataset ?? {};
		return card ? { card } : rung ? { rung } : layer ? { layer } : undefined;
	}
	async function show(event: MouseEvent) {
		const target = event.target as HTMLElement;
		const what = underHand(target);
		const can = what ? hand.deedsFor(what) : [];
		if (can.length === 0) return;
		event.preventDefault();
		cameFrom = target.closest<HTMLElement>('button') ?? undefined;
		deeds = can;
		open = false;
		opening += 1;
		// Opened by a key, it stands at what has the focus.
		const box = target.getBoundingClientRect();
		const byKey = event.clientX === 0 && event.clientY === 0;
		const at = byKey ? { x: box.left + 24, y: box.top + 24 } : { x: event.clientX, y: event.clientY };
		await tick();
		const { width = 0, height = 0 } = menu?.getBoundingClientRect() ?? {};
		x = Math.max(1, Math.min(at.x, innerWidth - width - 8));
		y = Math.max(1, Math.min(at.y, innerHeight - height - 8));
		open = true;
	}
	/** The menu is closed first: it gives the focus to the line under the mouse for as long as it is open. */
	async function goBack() {
		open = false;
		await tick();
		cameFrom?.focus();
	}
	async function run({ run: deed, href }: HandDeed) {
		await goBack();
		if (href) await goto(href);
		else await deed?.();
	}

	/**
	 * What a key does in the menu it does there alone: the card that has the focus afterwards is not pressed by it. Escape
	 * is taken here, because the menu itself listens for it only some time after it was opened.
	 */
	const keepToMenu = (event: KeyboardEvent) => {
		if (event.key === 'Enter' || event.key === ' ') event.preventDefault();
		if (event.key !== 'Escape') return;
		event.stopPropagation();
		void goBack();
	};

	$effect(() => {
		const listening = room;
		if (!listening) return;
		const listen = (event: MouseEvent) => void show(event);
		listening.addEventListener('contextmenu', listen);
		return () => listening.removeEventListener('contextmenu', listen);
	});
</script>

{#key opening}
	<ContextMenu
		bind:open
		bind:x
		bind:y
		bind:ref={menu}
		target={[]}
		labelText={m.fitting.hand.title}
		on:keydown={keepToMenu}
	>
		{#each deeds as deed (deed.label)}
			<ContextMenuOption
				labelText={deed.label}
				shortcutText={deed.key ?? ''}
				on:click={() => void run(deed)}
			/>
		{/each}
	</ContextMenu>
{/key}
