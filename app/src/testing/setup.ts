/** What was being typed in one test stands in no other. */
afterEach(() => sessionStorage.clear());
