<!doctype html>
<html lang="{{ app()->getLocale() }}">
<head>
  <meta charset="utf-8">
  <meta name="viewport" content="width=device-width">
  <title>{{ $title }}</title>
</head>
<body>
  <h1>{{ $title }}</h1>
  <p>{{ $detail }}</p>
  <p><a href="/app">{{ config('jade.yard.name') }}</a></p>
</body>
</html>
