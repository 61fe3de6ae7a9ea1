import { expose } from 'comlink';
import { OrderSearch } from './order-search';

// Entry of the browser's thread.
expose(new OrderSearch());
