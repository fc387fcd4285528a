/** Who asks for the head of an answer alone is answered as who asks for it all: routes know GET, and Node itself leaves the body out. */
export default defineNitroPlugin((nitro) => {
  nitro.hooks.hook('request', ({ node }) => {
    if (node.req.method === 'HEAD') node.req.method = 'GET'
  })
})
