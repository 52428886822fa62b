/** Everything the shop keeps, by maker and name, as the JSON text of a list: put together by the database. */
export const SHELF_TOLD = '(SELECT json_group_array(json(item)) FROM (SELECT item FROM store_items ORDER BY sort_key))';
