<script lang="ts">
	import { Button, ToastNotification } from 'carbon-components-svelte';
	import { notices } from './notices.svelte';
</script>

<div class="notices no-print" aria-live="polite">
	{#each notices.shown as notice (notice.id)}
		<ToastNotification
			lowContrast
			kind={notice.kind}
			title={notice.title}
			subtitle={notice.text ?? ''}
			on:close={(event) => {
				event.preventDefault();
				notices.close(notice.id);
			}}
		>
			{#if notice.action}
				{@const { run, label } = notice.action}
				<Button
					kind="ghost"
					size="small"
					on:click={() => {
						run();
						notices.close(notice.id);
					}}>{label}</Button
				>
			{/if}
		</ToastNotification>
	{/each}
</div>

<style>
	.notices {
		position: fixed;
		inset: auto 1rem 1rem auto;
		z-index: 9100;
		max-width: min(24rem, calc(100vw - 2rem));
	}
	.notices :global(.bx--toast-notification) {
		margin: 0.5rem 0 0;
		border: 1px solid var(--line-strong);
		width: 100%;
	}
</style>
