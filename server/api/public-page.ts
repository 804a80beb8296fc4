import { escapeHtml } from '@/core/messages';

/** A page that strangers see: without any script, in the look of Pen Pal. `body` is HTML already. */
export const publicPage = (title: string, body: string): string => `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width">
<meta name="robots" content="noindex"><title>${escapeHtml(title)}</title>
<style>
body{font:17px/1.5 Georgia,serif;background:#FBF7EF;color:#1E2433;max-width:32rem;margin:2rem auto;padding:0 1.2rem}
label{display:block;margin:.9rem 0 .2rem}
input:not([type=checkbox]),textarea{width:100%;box-sizing:border-box;font:inherit;padding:.6rem;border:1px solid #8b8371;border-radius:4px;background:#fff;color:inherit}
button{font:inherit;margin-top:1.2rem;padding:.7rem 1.4rem;background:#1E2433;color:#FBF7EF;border:0;border-radius:4px}
.aside{position:absolute;left:-10000px}
.fault{color:#A63A2B}
</style></head><body><main>${body}</main></body></html>`;
