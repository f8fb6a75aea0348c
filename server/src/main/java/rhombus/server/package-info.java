/** Accounts, scenes, workspaces and keymaps over HTTP, by feature; every row has an owner and every query names it. */
package rhombus.server;
