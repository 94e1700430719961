/** Where a device keeps how far the drawing is pulled out. */
export const FOLD_KEY = 'harvek-drawing'

/** What stands in every page before its body, beside the light: how far the drawing is pulled out on a narrow window. */
export const FOLD_FIRST = `try{var f=localStorage.getItem('${FOLD_KEY}')}catch(e){}document.documentElement.dataset.fold=f==='strip'||f==='tall'?f:'open'`
