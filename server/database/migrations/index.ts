import { first } from './001-jobs';
import { stores } from './002-stores';
import { standing } from './003-standing';
import { house } from './004-house';
import { rules } from './005-rules';
import { doors } from './006-doors';
import { shelfOrder } from './007-shelf-order';
import { historyOrder } from './008-history-order';
import { fittings } from './009-fittings';
import { fittingErrors } from './010-fitting-errors';
import { customers } from './011-customers';
import { priceLists } from './012-price-lists';
import { stock } from './013-stock';
import { instruments } from './014-instruments';
import { lists } from './015-lists';
import { fittedErrors } from './016-fitted-errors';

/** All migrations, oldest first. A landed migration is never changed; a new one is added. */
export const migrations = [
  first,
  stores,
  standing,
  house,
  rules,
  doors,
  shelfOrder,
  historyOrder,
  fittings,
  fittingErrors,
  customers,
  priceLists,
  stock,
  instruments,
  lists,
  fittedErrors,
];
