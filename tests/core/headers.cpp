// Only carries the headers that the tests of the core share.
int main() { return 0; }
