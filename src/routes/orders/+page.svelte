<script lang="ts">
	import Title from '$lib/ui/frame/Title.svelte';
	import { m } from '$lib/ui/messages';
	import OrdersView from '$lib/ui/orders/OrdersView.svelte';
</script>

<Title of={m.orders.title} />
<OrdersView />
