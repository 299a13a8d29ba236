/** Hands a file to the browser's downloads. */
export function download(blob: Blob, name: string): void {
	const address = URL.createObjectURL(blob);
	const link = document.createElement('a');
	link.href = address;
	link.download = name;
	link.click();
	// Long enough for the browser to take the file over.
	setTimeout(() => URL.revokeObjectURL(address), 60_000);
}
