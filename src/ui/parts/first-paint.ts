// What a device keeps and a page must know before it is painted, so that nothing moves afterwards: a script of its own in every page, beside the light.

/** Where a device keeps how far the drawing is pulled out. */
export const FOLD_KEY = 'harvek-drawing'
/** Where a device keeps how far somebody is on the first walk through an opening; `left` once it is over. */
export const WALK_KEY = 'harvek-walk'

/** How far the drawing is pulled out on a narrow window, and whether the first walk is still offered. */
export const KEPT_FIRST = `try{var f=localStorage.getItem('${FOLD_KEY}'),w=localStorage.getItem('${WALK_KEY}')}catch(e){}document.documentElement.dataset.fold=f==='strip'||f==='tall'?f:'open';if(w)document.documentElement.dataset.walk='known'`
