import { useMutation, useQuery } from '@tanstack/react-query';
import { client, dataOf, type Schemas } from '../api/client';
import { keyOf } from './keys';

export type RecipeData = Schemas['RecipePage'];
export type Kept = Schemas['NewRecipe'];
export type Colourway = Schemas['ColourwayView'];

export function useRecipes() {
  return useQuery({
    queryKey: keyOf('recipes'),
    queryFn: () => dataOf(client.GET('/api/recipes')),
  });
}

export function useRecipe(id: string | number | undefined) {
  return useQuery({
    queryKey: keyOf('recipe', String(id)),
    queryFn: () =>
      dataOf(client.GET('/api/recipes/{id}', { params: { path: { id: Number(id) } } })),
    enabled: id !== undefined,
  });
}

export function useStartingRecipes() {
  return useQuery({
    queryKey: keyOf('starting-recipes'),
    queryFn: () => dataOf(client.GET('/api/starting-recipes')),
    staleTime: Infinity,
  });
}

/** The binder classes shipped, whose strength curves mixes follow. */
export function useStrengthClasses() {
  return useQuery({
    queryKey: keyOf('strength-classes'),
    queryFn: () => dataOf(client.GET('/api/strength-classes')),
    staleTime: Infinity,
  });
}

/** Colours to start with, of the pigments that the shop has or can take. */
export function useColourOffers(recipeId: number) {
  return useQuery({
    queryKey: keyOf('recipe', String(recipeId), 'colours'),
    queryFn: () =>
      dataOf(client.GET('/api/recipes/{id}/colour-offers', { params: { path: { id: recipeId } } })),
  });
}

/** What can be done to recipes and colourways. */
export function useRecipeActs() {
  return {
    adopt: useMutation({
      mutationFn: (code: string) =>
        dataOf(client.POST('/api/starting-recipes/{code}', { params: { path: { code } } })),
    }),
    /** A new recipe, or a new version of one. */
    keep: useMutation({
      mutationFn: ({ before, body }: { before?: RecipeData; body: Kept }) =>
        before
          ? dataOf(
              client.POST('/api/recipes/{id}/versions', {
                body,
                params: {
                  path: { id: before.recipe.id },
                  header: { 'If-Match': `"${before.recipe.versionNo}"` },
                },
              }),
            )
          : dataOf(client.POST('/api/recipes', { body })),
    }),
    /** Several colours in one step, their pigments with them. */
    takeColours: useMutation({
      mutationFn: ({ recipeId, codes }: { recipeId: number; codes: string[] }) =>
        dataOf(
          client.POST('/api/recipes/{id}/colours', {
            body: { codes },
            params: { path: { id: recipeId } },
          }),
        ),
    }),
    colour: useMutation({
      mutationFn: ({
        recipeId,
        id,
        body,
      }: {
        recipeId: number;
        id?: number;
        body: Schemas['ColourwayRequest'];
      }) =>
        id === undefined
          ? dataOf(
              client.POST('/api/recipes/{id}/colourways', {
                body,
                params: { path: { id: recipeId } },
              }),
            )
          : dataOf(client.PUT('/api/colourways/{id}', { body, params: { path: { id } } })),
    }),
  };
}
