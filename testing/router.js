/** The router in small, for tests of single parts: links show what is in them, and lead nowhere. */
module.exports = {
  Link: ({ children }) => children,
  useRouter: () => ({ navigate: () => {}, replace: () => {} }),
};
