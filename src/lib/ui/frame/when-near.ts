import type { Attachment } from 'svelte/attachments';

/** So far below what is seen, in pixels, a thing is near: about two screens of cards, so that nobody waits for the next. */
const nearPx = 1600;

/** Calls once when its element comes near what is seen, whether one scrolls there or moves the focus. */
export const whenNear =
	(then: () => void): Attachment<HTMLElement> =>
	(element) => {
		let root: HTMLElement | null = element.parentElement;
		while (root && !/auto|scroll/.test(getComputedStyle(root).overflowY)) root = root.parentElement;
		const observer = new IntersectionObserver(
			(entries) => {
				if (!entries.some(({ isIntersecting }) => isIntersecting)) return;
				observer.disconnect();
				then();
			},
			{ root, rootMargin: `0px 0px ${nearPx}px 0px` }
		);
		observer.observe(element);
		return () => observer.disconnect();
	};
