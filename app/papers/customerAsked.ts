/** Whether an address asks for a file with the customer in it: `customer=yes`. */
export const isCustomerAsked = (url: string): boolean => new URL(url).searchParams.get('customer') === 'yes';
