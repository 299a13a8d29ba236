import crc32 from 'crc-32';

/** CRC-32 of bytes that come in pieces (ISO-HDLC, as ZIP uses it), unsigned. */
export function runningCrc(): { add(bytes: Uint8Array): void; value(): number } {
	let crc = 0;
	return {
		add: (bytes) => void (crc = crc32.buf(bytes, crc)),
		value: () => crc >>> 0
	};
}

const endSignature = 0x06054b50;
const entrySignature = 0x02014b50;
const endLength = 22;

/**
 * The CRC-32 that a ZIP's central directory states for a file (APPNOTE 4.3.12 and 4.3.16), or undefined where the
 * directory does not name it. The unpacker does not compare it, so a damaged byte would pass unseen.
 *
 * @param tail the last bytes of the archive, the whole central directory among them
 */
export function statedCrc(tail: Uint8Array, name: string): number | undefined {
	const view = new DataView(tail.buffer, tail.byteOffset, tail.byteLength);
	for (let end = tail.length - endLength; end >= 0; end--) {
		if (view.getUint32(end, true) !== endSignature) continue;
		let at = end - view.getUint32(end + 12, true);
		while (at >= 0 && at + 46 <= end && view.getUint32(at, true) === entrySignature) {
			const nameLength = view.getUint16(at + 28, true);
			const entryName = new TextDecoder().decode(tail.subarray(at + 46, at + 46 + nameLength));
			if (entryName === name) return view.getUint32(at + 16, true);
			at += 46 + nameLength + view.getUint16(at + 30, true) + view.getUint16(at + 32, true);
		}
		return undefined;
	}
	return undefined;
}
