# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  {ask} – {found}.
    {ask} – {found}.
  invalid password
    la contraseña no es correcta
  login does not match any account
    la dirección no corresponde a ninguna cuenta
  no matching login
    la dirección no corresponde a ninguna cuenta
  There was an error changing your password
    La contraseña no se pudo cambiar
  Your password has been changed
    La contraseña se cambió
  invalid password, same as current password
    es la contraseña actual
  same as current password
    es la contraseña actual
  You have been logged in
    Sesión iniciada
  You have been logged out
    Sesión cerrada
  There was an error logging out
    No se pudo cerrar la sesión
  Please login to continue
    Inicie sesión para seguir
  Invalid authentication code
    El código no es correcto
  Error logging in via TOTP authentication
    No se pudo entrar con el código
  Error setting up TOTP authentication
    No se pudieron activar los códigos
  Error disabling TOTP authentication
    No se pudieron desactivar los códigos
  Invalid secret
    El secreto no es correcto
  Invalid recovery code
    El código de recuperación no es correcto
  Error authenticating via recovery code
    No se pudo entrar con el código de recuperación
  Error authenticating using WebAuthn
    No se pudo entrar con la llave de acceso
  Error setting up WebAuthn authentication
    No se pudo agregar la llave de acceso
  Error removing WebAuthn authenticator
    No se pudo quitar la llave de acceso
  You need to authenticate via an additional factor before continuing
    Hace falta antes un segundo factor
TEXTS
