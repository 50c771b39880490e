// Only carries the headers that tests share.
