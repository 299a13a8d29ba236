<script lang="ts">
	import { onMount, tick } from 'svelte';
	import Title from '../frame/Title.svelte';
	import { m } from '../messages';
	import { chaptersOf, rendered, type HelpPage } from './rendered';

	let { page }: { page: HelpPage } = $props();

	const html = $derived(rendered(page));
	const chapters = $derived(chaptersOf(page));
	// The chapter that an address names is there only now.
	onMount(async () => {
		await tick();
		if (location.hash) document.getElementById(location.hash.slice(1))?.scrollIntoView();
	});
</script>

<Title of={m.help.pages[page]} />
<div class="page help">
	<nav aria-label={m.help.title}>
		<ul>
			{#each ['guide', 'method'] as const as one (one)}
				<li>
					<a
						href={one === 'guide' ? '/help' : `/help/${one}`}
						aria-current={page === one ? 'page' : undefined}>{m.help.pages[one]}</a
					>
				</li>
			{/each}
			{#each chapters as { anchor, title } (anchor)}<li class="chapter">
					<a href="#{anchor}">{title}</a>
				</li>{/each}
		</ul>
	</nav>
	<!-- eslint-disable-next-line svelte/no-at-html-tags (the docs that ship with the app, and nothing that anybody typed) -->
	<article>{@html html}</article>
</div>

<style>
	.help {
		display: grid;
		grid-template-columns: 14rem minmax(0, 46rem);
		gap: 2rem;
	}
	nav ul {
		position: sticky;
		top: 1rem;
		list-style: none;
		font-size: var(--step-0);
	}
	nav a {
		display: block;
		min-height: 1.75rem;
		padding: 0.15rem 0;
	}
	nav [aria-current] {
		font-weight: 640;
	}
	.chapter {
		padding-left: 0.75rem;
	}
	article :global(:is(p, ul, ol, table, pre)) {
		margin: 0.6rem 0;
	}
	article :global(:is(h2, h3)) {
		margin-top: 1.75rem;
		scroll-margin-top: 1rem;
	}
	article :global(:is(ul, ol)) {
		padding-left: 1.25rem;
	}
	article :global(li) {
		margin-bottom: 0.5rem;
	}
	article :global(:is(th, td)) {
		padding: 0.3rem 0.75rem 0.3rem 0;
		border-top: 1px solid var(--line);
		text-align: left;
		vertical-align: top;
	}
	article :global(:is(table, pre)) {
		display: block;
		overflow-x: auto;
	}
	article :global(code) {
		font-size: 0.875em;
		overflow-wrap: anywhere;
	}
	@media (max-width: 60rem) {
		.help {
			grid-template-columns: minmax(0, 1fr);
		}
		nav ul {
			position: static;
		}
	}
</style>
