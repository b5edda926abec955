/** Stands for the guard against browsers where a server is put together by itself. */
export {};
