-- A smaller rendition for paper, made when a photograph is taken in; older ones are printed from the whole.
alter table photo add column print bytea;
