import type { StoredShop } from '../repositories/shop-repository';

/** What of the shop a plan is made with. */
export const planningShop = ({ shop, shelf, operations }: StoredShop) => ({ shop, shelf, operations });
