<script lang="ts">
	import { Button, InlineNotification } from 'carbon-components-svelte';
	import Close from 'carbon-icons-svelte/lib/Close.svelte';
	import { m } from '../messages';
	import { notices } from './notices.svelte';
</script>

<!-- What was done stands in the frame's own bar, what went wrong in a row below it: neither lies on the work. -->
<div class="info no-print" aria-live="polite">
	{#if notices.info}
		{@const notice = notices.info}
		<div class="notice" data-notice>
			<span class="title" title={notice.title}>{notice.title}</span>
			{#if notice.action}
				{@const { run, label } = notice.action}
				<Button
					kind="ghost"
					size="small"
					on:click={() => {
						const [act, { id }] = [run, notice];
						notices.close(id);
						act();
					}}>{label}</Button
				>
			{/if}
			<Button
				kind="ghost"
				size="small"
				icon={Close}
				iconDescription={m.close}
				tooltipPosition="bottom"
				tooltipAlignment="end"
				on:click={() => notices.close(notice.id)}
			/>
		</div>
	{/if}
</div>
<div class="error no-print">
	{#if notices.error}
		{@const notice = notices.error}
		<InlineNotification
			lowContrast
			kind="error"
			title={notice.title}
			subtitle={notice.text ?? ''}
			on:close={(event) => {
				event.preventDefault();
				notices.close(notice.id);
			}}
		/>
	{/if}
</div>

<style>
	.info {
		display: flex;
		justify-content: flex-end;
		min-width: 0;
		flex: 1;
	}
	.notice {
		display: flex;
		align-items: center;
		min-width: 0;
		max-width: 30rem;
		padding-left: 0.75rem;
		border: 1px solid var(--line-strong);
		background: var(--panel);
		font-size: var(--step-0);
	}
	.title {
		min-width: 0;
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	.notice :global(.bx--btn) {
		flex: none;
		min-height: 2rem;
	}
	.error {
		position: absolute;
		inset: 3rem 0 auto;
		z-index: 9100;
	}
	.error :global(.bx--inline-notification) {
		max-width: none;
		margin: 0;
	}
	@media (max-width: 60rem) {
		.info {
			position: absolute;
			inset: 3rem 0 auto;
			z-index: 9000;
		}
		.notice {
			max-width: none;
			width: 100%;
		}
		.title {
			flex: 1;
			white-space: normal;
		}
	}
</style>
