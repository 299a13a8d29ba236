<script lang="ts">
	import { page } from '$app/state';
	import PieceView from '$lib/ui/pieces/PieceView.svelte';
</script>

<PieceView clientId={page.params.clientId ?? ''} pieceId={page.params.pieceId ?? ''} />
