# Built in one image, run from another that holds the server and nothing else.
FROM node:20.20-bookworm-slim AS build
WORKDIR /brenok
ENV NEXT_TELEMETRY_DISABLED=1
COPY package.json package-lock.json .npmrc ./
RUN npm ci --no-audit --no-fund
COPY . .
RUN npm run build

FROM node:20.20-bookworm-slim
WORKDIR /brenok
ENV NODE_ENV=production HOST=0.0.0.0 PORT=3000
COPY --from=build /brenok/build ./build
USER node
EXPOSE 3000
HEALTHCHECK --interval=10s --timeout=2s --start-period=10s CMD ["node", "build/healthy.mjs"]
CMD ["node", "build/main.mjs"]
