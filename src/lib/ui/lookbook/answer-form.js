// In the file that a client gets: turns what was chosen into a small JSON, without a network.
(() => {
	const form = document.querySelector('form');
	const read = () => {
		const looks = {};
		const lookOf = (id) => (looks[id] ??= { look: id, pieces: {}, note: '' });
		const pieceOf = (name) => {
			const [look, of] = name.split('/');
			return (lookOf(look).pieces[of] ??= { of, note: '' });
		};
		for (const radio of form.querySelectorAll('input[type=radio]:checked'))
			pieceOf(radio.name).says = radio.value;
		for (const text of form.querySelectorAll('[data-note]'))
			if (text.value.trim()) pieceOf(text.dataset.note).note = text.value.trim();
		for (const area of form.querySelectorAll('[data-look]'))
			lookOf(area.dataset.look).note = area.value.trim();
		const now = new Date();
		const two = (n) => String(n).padStart(2, '0');
		return JSON.stringify(
			{
				format: 'prime-echo-answer',
				version: 1,
				on: `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`,
				looks: Object.values(looks).map((look) => ({ ...look, pieces: Object.values(look.pieces) }))
			},
			null,
			1
		);
	};
	const copy = form.querySelector('[data-copy]');
	form.addEventListener('input', () => (copy.value = read()));
	copy.value = read();
	form.addEventListener('submit', (event) => {
		event.preventDefault();
		const link = document.createElement('a');
		link.href = URL.createObjectURL(new Blob([read()], { type: 'application/json' }));
		link.download = 'my-answer.json';
		link.click();
	});
})();
