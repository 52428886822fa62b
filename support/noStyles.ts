// Looks are not tried without a browser.
export {};
