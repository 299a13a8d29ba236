<script lang="ts">
	import LedgerView from '$lib/ui/ledger/LedgerView.svelte';
</script>

<LedgerView />
